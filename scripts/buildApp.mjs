// npm run build: builds the application for `npm start`.
import { ensureBuild } from './build.mjs'
import { ensureNode } from './install.mjs'

ensureNode(console.log)
await ensureBuild('.next', console.log)
console.log('Built. Serve it with: npm start')
