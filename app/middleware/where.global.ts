/** The yard and the hive of an address stay chosen from view to view. */
export default defineNuxtRouteMiddleware((to) => {
  const view = useView()
  const { yardId, hiveId } = namedBy(to.params)
  if (yardId) view.chosen = yardId
  if (hiveId) {
    view.cameFrom = view.chosenHive && view.chosenHive !== hiveId && import.meta.client ? view.chosenHive : null
    view.chosenHive = hiveId
  }
})
