// what browsers have and jsdom lacks
globalThis.structuredClone ??= (value) => JSON.parse(JSON.stringify(value))
if (globalThis.Element) Element.prototype.scrollIntoView ??= () => {}
