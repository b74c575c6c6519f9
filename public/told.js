/* A notification that is touched brings Biscuit back, at the wait it tells of. */
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const path = (event.notification.data && event.notification.data.path) || '/';
  const open = async () => {
    const [page] = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
    if (!page) {
      await self.clients.openWindow(path);
      return;
    }
    await page.focus();
    page.postMessage({ type: 'GO_TO', path });
  };
  event.waitUntil(open());
});
