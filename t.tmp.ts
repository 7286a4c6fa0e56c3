import { PGlite } from '@electric-sql/pglite';
import { writeFileSync, readFileSync } from 'node:fs';
(async()=>{let t=performance.now();const lap=(n:string)=>{const x=performance.now();console.log(n,Math.round(x-t));t=x};
const a=new PGlite(); await a.waitReady; lap('plain');
await a.exec('create table x(a int)'); lap('exec');
const b=await a.dumpDataDir('none'); lap('dump'); writeFileSync('/tmp/w/e.tar',Buffer.from(await b.arrayBuffer())); lap('write '+b.size);
const c=new PGlite({loadDataDir:new Blob([readFileSync('/tmp/w/e.tar')])}); await c.waitReady; lap('load');
const d=new PGlite('/tmp/w/dz',{loadDataDir:new Blob([readFileSync('/tmp/w/e.tar')])} as any); await d.waitReady; lap('load dir');
})();
