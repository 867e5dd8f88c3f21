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
  return tree
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
type Child = ReturnType<typeof empty>['page']['children'][number]
