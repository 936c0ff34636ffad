/* What a server wrote is seen before the page's own code is run: that begins when it has been painted. */
const { entry } = document.currentScript.dataset;
requestAnimationFrame(() => setTimeout(() => import(entry)));
