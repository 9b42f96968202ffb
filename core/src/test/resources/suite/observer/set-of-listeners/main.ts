import { createGauge } from "./gauge"

const gauge = createGauge()
const stop = gauge.subscribe(level => console.log(level))
gauge.rise(2)
stop()
