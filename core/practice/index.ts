// Practice for whoever bakes: nothing of it touches a record of food.
export { momentAtStep, practiceBatch, practiceLots } from './batch'
export { type Fault, type Moment, moments, practiceBake, type Weight } from './cards'
export { type Card, type Debrief, debrief, drawPractice, type PracticeAnswer } from './practice'
export { answersBy } from './worked'
