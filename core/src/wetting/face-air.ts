/** Air and sun at a face in one hour. */
export interface FaceAir {
  readonly temperatureC: number;
  readonly humidity: number;
  readonly windMetresPerSecond: number;
  readonly netRadiationWattsPerSquareMetre: number;
  /** Of the face by thermometer on that day, °C; left out where nobody measured. */
  readonly surfaceTemperatureC?: number;
}
