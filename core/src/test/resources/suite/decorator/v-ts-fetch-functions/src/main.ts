import { plain, withLog, withRetry } from "./http";

const send = withLog(withRetry(plain, 5));
void send("https://tide.example").then((answer) => console.log(answer.body));
