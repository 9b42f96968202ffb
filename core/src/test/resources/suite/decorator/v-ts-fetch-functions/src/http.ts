export interface Answer { status: number; body: string }
export type Send = (url: string) => Promise<Answer>;

export const plain: Send = async (url) => {
  const response = await fetch(url);
  return { status: response.status, body: await response.text() };
};

export function withRetry(send: Send, times = 3): Send {
  return async (url) => {
    let answer = await send(url);
    for (let i = 1; i < times && answer.status >= 500; i++) answer = await send(url);
    return answer;
  };
}

export function withLog(send: Send): Send {
  return async (url) => {
    console.log(`> ${url}`);
    const answer = await send(url);
    console.log(`< ${answer.status}`);
    return answer;
  };
}
