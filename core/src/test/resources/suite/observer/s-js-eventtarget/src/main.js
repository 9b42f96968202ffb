import { Download } from './download.js';
import { ProgressBar } from './bar.js';

const download = new Download('/big.bin');
new ProgressBar(document.querySelector('#bar')).watch(download);
download.chunk(new Uint8Array(12));
download.finish();
