import { Temperature } from "./temperature.js";

console.log(String(Temperature.celsius(21)), String(Temperature.fahrenheit(70)));
