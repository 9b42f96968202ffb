import { Crane, Motor, RealMotor, SafeMotor, SimulatedMotor } from './crane';
const motor: Motor = process.env.SIM ? new SimulatedMotor() : new SafeMotor(new RealMotor(), 40);
new Crane(motor).go(1, 2).go(3, 4).run().then(console.log);
