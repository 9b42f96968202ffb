export interface WeatherSource {
  wind(): number;
  waveHeight(): number;
}
