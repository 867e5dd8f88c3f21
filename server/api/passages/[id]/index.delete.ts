import { removePassage } from '~~/server/db/passages'

export default api(event => removePassage(useDb(), pathId(event, 'id', 'passage'), true))
