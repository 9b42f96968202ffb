import { Panel } from "./panel";
import { flatWidgets, roundWidgets } from "./widgets";

for (const widgets of [roundWidgets, flatWidgets]) console.log(new Panel(widgets).draw());
