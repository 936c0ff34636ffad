/* What a server wrote is seen before the page's own code is fetched and run: that begins when it has been painted. */
const { entry, files } = document.currentScript.dataset;
requestAnimationFrame(() =>
  setTimeout(() => {
    for (const href of files.split(' '))
      document.head.append(Object.assign(document.createElement('link'), { rel: 'modulepreload', href }));
    import(entry);
  }),
);
