// Computes what of a close-up does not depend on lengths, beside the page.
import { keepOf, type Wanted } from './views'

self.onmessage = (e: MessageEvent<Wanted & { n: number }>) => {
  self.postMessage({ n: e.data.n, kept: keepOf(e.data.view, e.data.look) })
}
