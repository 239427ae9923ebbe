import { HttpTransportType, HubConnectionBuilder, LogLevel } from '@microsoft/signalr'

/** Hears from the service that something happened around a chair; whoever hears nothing asks every few seconds all the same. */
export function listenAtTheChair(happened: (session: string) => void): () => void {
  const connection = new HubConnectionBuilder()
    .withUrl('/live/chair', { skipNegotiation: true, transport: HttpTransportType.WebSockets })
    .withAutomaticReconnect({ nextRetryDelayInMilliseconds: () => 3000 })
    .configureLogging(LogLevel.None)
    .build()
  connection.on('happened', happened)
  let over = false
  const start = async () => {
    while (!over) {
      try {
        await connection.start()
        return
      } catch {
        await new Promise((again) => setTimeout(again, 5000))
      }
    }
  }
  void start()
  return () => {
    over = true
    void connection.stop()
  }
}
