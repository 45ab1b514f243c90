/**
 * Which modules a page will ask for is known by its address, but said by no file until the router has run. One page
 * serves every address, so a short script in it looks at the address and names them.
 */

/** The addresses that a route answers, as a pattern of the path; its own and all outer parts. */
function patternOf(routes, id) {
  const parts = [];
  for (let route = routes[id]; route; route = routes[route.parentId])
    parts.unshift(...(route.path ?? "").split("/").filter(Boolean));
  return `^${parts.map((part) => `/${part.startsWith(":") ? "[^/]+" : part}`).join("")}/?$`;
}

/** A route and those around it. */
function around(routes, id) {
  const ids = [];
  for (let route = routes[id]; route; route = routes[route.parentId]) ids.push(route.id);
  return ids;
}

/**
 * For each address that shows a page, the modules of its routes that the page doesn't name already.
 * @param needed gives all modules that some modules pull in, these too
 * @returns patterns of paths, each with places in the list of files
 */
export function earlyModules({ routes }, named, needed) {
  const outer = new Set(Object.values(routes).map(({ parentId }) => parentId));
  const leaves = Object.keys(routes).filter((id) => !outer.has(id) && routes[id].path !== "*");
  const files = [];
  const at = (file) => (files.includes(file) ? files.indexOf(file) : files.push(file) - 1);
  const pages = leaves.map((id) => {
    const modules = around(routes, id).map((one) => routes[one].module);
    return [patternOf(routes, id), [...needed(modules)].filter((file) => !named.has(file)).map(at)];
  });
  return { files, pages };
}

/**
 * The script that names them, for the page's own address and before anything else runs; and on a first visit the
 * troupe of the day.
 * @param beenOpen where the browser keeps that a notebook was open here
 */
export const earlyScript = ({ files, pages }, beenOpen) =>
  `(()=>{const f=${JSON.stringify(files)},add=(o)=>document.head.append(Object.assign(document.createElement("link"),o));` +
  `for(const [p,l] of ${JSON.stringify(pages)})if(new RegExp(p).test(location.pathname)){for(const n of l)add({rel:"modulepreload",href:f[n]});break}` +
  `try{if(localStorage.getItem(${JSON.stringify(beenOpen)})===null)add({rel:"preload",as:"fetch",crossOrigin:"anonymous",href:"/demo/"+(new Date().getDay()+6)%7+".json"})}catch{}})()`;
