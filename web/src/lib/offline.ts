/** Lets the chair open without the service: a worker keeps the application's files. Asked for where it matters, so that other pages load nothing twice. */
export function keepForOffline() {
  if ('serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js').catch(() => undefined)
}
