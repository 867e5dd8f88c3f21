/**
 * Dendle answers this computer alone unless HOST says otherwise, whatever starts it: a writer's papers are nobody else's.
 * Nitro reads the address after its plugins have run, and would listen on all of them.
 */
export default defineNitroPlugin(() => {
  if (!process.env.NITRO_HOST && !process.env.HOST) process.env.HOST = '127.0.0.1'
})
