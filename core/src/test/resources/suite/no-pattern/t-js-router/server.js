import http from 'node:http';
import { createApp } from './lib/pages.js';

const app = createApp({ token: process.env.TOKEN });
http.createServer(async (req, res) => {
  const { status, html, location } = await app.handle({ method: req.method, path: req.url, token: req.headers.authorization });
  if (location) res.setHeader('Location', location);
  res.statusCode = status;
  res.end(html);
}).listen(8080);
