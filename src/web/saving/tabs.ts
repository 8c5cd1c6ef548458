/** How long another tab gets to say that it is there, ms. */
const TAB_SILENCE_MS = 200;

type Call = { readonly who: 'asks'; readonly id: string } | { readonly who: 'is here'; readonly id: string };

const channel = (): BroadcastChannel | null =>
  typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('imbiss-tabs');

let answering: BroadcastChannel | null = null;

/** Says that this tab is there whenever another asks: it looks after what it has in the outbox itself. */
export function answerAsAlive(tab: string): void {
  if (answering !== null) return;
  answering = channel();
  answering?.addEventListener('message', (e: MessageEvent<Call>) => {
    if (e.data.who === 'asks' && e.data.id !== tab) answering?.postMessage({ who: 'is here', id: tab } satisfies Call);
  });
}

/** The other tabs that are there. */
export async function aliveTabs(tab: string): Promise<Set<string>> {
  const alive = new Set<string>();
  const ask = channel();
  if (ask === null) return alive;
  ask.addEventListener('message', (e: MessageEvent<Call>) => {
    if (e.data.who === 'is here') alive.add(e.data.id);
  });
  ask.postMessage({ who: 'asks', id: tab } satisfies Call);
  await new Promise((resolve) => setTimeout(resolve, TAB_SILENCE_MS));
  ask.close();
  alive.delete(tab);
  return alive;
}
