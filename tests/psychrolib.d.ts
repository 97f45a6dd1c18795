/** The functions of this package that are checked against; it ships without types. */
declare module 'psychrolib' {
  const psychrolib: {
    readonly SI: number
    SetUnitSystem(system: number): void
    /** Pa, at a dry-bulb temperature in °C (ASHRAE Handbook Fundamentals 2017, ch. 1, Eq. 5 and 6). */
    GetSatVapPres(celsius: number): number
    GetTDewPointFromRelHum(celsius: number, humidity: number): number
  }
  export default psychrolib
}
