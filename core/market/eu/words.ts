export { britishWords as words } from '../european/words'
