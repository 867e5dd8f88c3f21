import { FAMILIES, type Family } from '~~/core/check/finding'
import { readCitation, type DocNode } from '~~/core/sheet/document'
import { readLocator } from '~~/core/source/locators'
import type { ShownFinding } from '~/stores/findings'
import { FAMILY_WORDS } from '~/utils/families'

/** What the view of Check asks and does: findings by family, the one that is looked at, going through them by keys. */
export function useCheckView() {
  const store = usePaper()
  const written = useText()
  const found = useFindings()
  const undo = useUndo()
  const router = useRouter()
  /** Those left are shown instead of those that stand. */
  const showsLeft = ref(false)
  const shown = computed(() => (showsLeft.value ? found.leftNow : found.standing))
  watch(() => found.leftNow.length, (n) => { if (!n) showsLeft.value = false })
  const families = computed(() => FAMILIES.flatMap((family) => {
    const findings = shown.value.filter(one => one.family === family)
    return findings.length
      ? [{ family, words: FAMILY_WORDS[family], findings, certain: findings.filter(one => one.certain).length }]
      : []
  }))
  const inOrder = computed(() => families.value.flatMap(one => one.findings))

  const currentId = ref<string>()
  const current = computed(() => inOrder.value.find(one => one.id === currentId.value) ?? inOrder.value[0])
  const place = computed(() => inOrder.value.findIndex(one => one.id === current.value?.id))
  const look = (finding: ShownFinding) => { currentId.value = finding.id }
  function step(by: number): ShownFinding | undefined {
    const next = inOrder.value[Math.max(0, Math.min(inOrder.value.length - 1, place.value + by))]
    if (next) look(next)
    return next
  }
  /** What is done to a finding takes it away: the one behind it is looked at then. */
  async function done(finding: ShownFinding, what: () => unknown) {
    const at = inOrder.value.findIndex(one => one.id === finding.id)
    const next = inOrder.value[at + 1] ?? inOrder.value[at - 1]
    await what()
    await found.settle()
    if (next) currentId.value = next.id
  }
  const fix = (finding: ShownFinding) => done(finding, () => found.fix(finding))
  const leave = (finding: ShownFinding) => done(finding, () => (showsLeft.value ? found.takeUp(finding) : found.leave(finding)))
  const fixAll = (family?: Family) => found.fixAll(family)

  /** Where its words are: on the sheet, in Gather, among Hand in's details. */
  function placeOf({ where }: ShownFinding): string {
    const paper = `/papers/${store.paper?.id}`
    switch (where.at) {
      case 'citation': return `${paper}/write?cited=${where.citation}`
      case 'words': return `${paper}/write?block=${where.block}&path=${where.path.join('.')}&from=${where.from}&to=${where.to}`
      case 'block': return `${paper}/write?block=${where.block}`
      case 'field': return `${paper}/gather?source=${where.source}`
      case 'list': return `${paper}/list`
      default: return where.detail === 'target' || where.detail === 'title' ? `${paper}/write` : `${paper}/hand-in`
    }
  }
  const show = (finding: ShownFinding) => router.push(placeOf(finding))
  /** The first thing that is offered: its fix, else a look at it. */
  const act = (finding: ShownFinding) => (showsLeft.value ? leave(finding) : finding.fix ? fix(finding) : show(finding))

  /** Whether what it lacks can be typed here: the place of a citation. */
  const lacksPlace = ({ rule, where }: ShownFinding): boolean => where.at === 'citation' && /^citations\.no-(?:page|place)$/u.test(rule)
  function givePlace(finding: ShownFinding, typed: string) {
    const { where } = finding
    const locator = readLocator(typed)
    if (where.at !== 'citation' || !locator) return
    const body = written.body
    const next = recited(body, where.citation, locator)
    return done(finding, () => {
      written.replaceBody(next)
      undo.did('The quotation has its place.', async () => {
        if (written.body === next) written.replaceBody(body)
      })
    })
  }
  return { found, shown, showsLeft, families, inOrder, current, look, step, fix, leave, fixAll, show, act, placeOf, lacksPlace, givePlace }
}
export type CheckView = ReturnType<typeof useCheckView>

/** The document with one citation's place given. */
function recited(node: DocNode, id: string, locator: NonNullable<ReturnType<typeof readLocator>>): DocNode {
  if (node.type === 'citation') {
    if (String(node.attrs?.id) !== id) return node
    const data = readCitation(node)
    return { ...node, attrs: { ...node.attrs, data: { ...data, items: data.items.map((item, i) => (i ? item : { ...item, locator })) } } }
  }
  const content = node.content?.map(child => recited(child, id, locator))
  return content?.some((child, i) => child !== node.content![i]) ? { ...node, content } : node
}
