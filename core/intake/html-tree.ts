import { load, type CheerioAPI } from 'cheerio/slim'

/**
 * HTML as a tree with one node at its root. The finder compares what it searches in with each other, so that a page of a
 * hundred thousand paragraphs beside each other at the root would take it minutes.
 */
export function htmlTree(html: string): CheerioAPI {
  const nodes = [...load(html).root()[0]!.children]
  const { tree, page } = empty()
  for (const node of nodes) node.parent = page
  page.children = nodes
  levelDeep(page)
  return tree
}

/** Elements nested deeper than this stand beside each other: nothing that a person wrote is, and every search in them would be long. */
const DEEPEST = 400
/** Document order is kept: what a node held stands right behind it. */
function levelDeep(root: Element) {
  const open: (readonly [Element, number])[] = [[root, 0]]
  for (let next = open.pop(); next; next = open.pop()) {
    const [node, depth] = next
    if (depth >= DEEPEST) {
      const flat: Child[] = []
      const held = [...node.children].reverse()
      for (let one = held.pop(); one; one = held.pop()) {
        flat.push(one)
        one.parent = node
        if (!('children' in one)) continue
        for (let i = one.children.length - 1; i >= 0; i--) held.push(one.children[i]!)
        one.children = []
      }
      node.children = flat
    }
    else for (const child of node.children) if ('children' in child) open.push([child as Element, depth + 1])
  }
}

/** An element of another tree as one that is searched in by itself; it stays where it is. */
export function treeOf(element: Child | undefined): CheerioAPI {
  const { tree, page } = empty()
  if (element) page.children = [element]
  return tree
}

function empty() {
  const tree = load('<dendle-page></dendle-page>')
  return { tree, page: tree('dendle-page')[0]! }
}
type Element = ReturnType<typeof empty>['page']
type Child = ReturnType<typeof empty>['page']['children'][number]
