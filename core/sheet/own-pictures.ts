/** Pictures of a paper travel in it. Nothing is fetched to show one: an address would tell another machine who reads what, and when. */
const OWN = /^data:image\/(?:png|jpeg|gif);base64,[A-Za-z0-9+/=]+$/u

/** Whether a figure's picture is one that the paper itself carries. */
export const isOwnPicture = (src: unknown): src is string => typeof src === 'string' && OWN.test(src)
