/** °C of a temperature in °F. */
export function celsiusOfFahrenheit(f: number): number {
  return ((f - 32) * 5) / 9;
}

/** °F of a temperature in °C. */
export function fahrenheitOfCelsius(c: number): number {
  return (c * 9) / 5 + 32;
}

/** A difference in °F of one in °C: such as a friction, which converts without the 32. */
export function fahrenheitOfDifference(c: number): number {
  return (c * 9) / 5;
}
