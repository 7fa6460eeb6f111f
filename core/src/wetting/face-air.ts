/** Air and sun at a face in one hour. */
export interface FaceAir {
  readonly temperatureC: number;
  readonly humidity: number;
  readonly windMetresPerSecond: number;
  readonly netRadiationWattsPerSquareMetre: number;
  /** Of the face by thermometer on that day, °C; left out where nobody measured, and where it is too cool to dry faster by it. */
  readonly surfaceTemperatureC?: number;
  /** Measured below the dew point, °C: dew falls on the face until it warms up. */
  readonly dewySurfaceC?: number;
}
