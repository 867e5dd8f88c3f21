import { STYLES } from '~~/core/styles'
import { api } from '~~/server/utils/api'

/** The styles by name, for a page that lists them and sets nothing. */
export default api(() => STYLES.map(({ id, name, edition, short }) => ({ id, name, edition, short })))
