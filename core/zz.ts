import { heatPiece } from './heat/heatPiece';
const T: any[] = [['slab',.008,.55,1030,3700,800,5,98,240,60.14,93.33],['slab',.012,.5,1060,3500,800,5,96,600,62.97,93.44],['cylinder',.01,.52,1050,3800,1000,10,100,300,81.36,98.80],['cylinder',.015,.48,1060,3500,500,4,95,900,84.66,94.18],['sphere',.014,.5,1050,3600,800,6,98,360,77.61,97.05],['sphere',.020,.47,1060,3400,1200,5,99,720,78.79,98.60]];
for (const [shape,halfSizeM,k,rho,cp,h,startC,bathC,durationS,c,s] of T) {
  const r = heatPiece({shape,halfSizeM,k,rho,cp,h,startC,bathC,durationS});
  console.log(shape, r.centreC.toFixed(2), c, r.surfaceC.toFixed(2), s);
}
function slab(bi:number, fo:number){ let s=0; for(let n=0;n<60;n++){let lo=n*Math.PI+1e-9,hi=n*Math.PI+Math.PI/2-1e-9; for(let p=0;p<80;p++){const z=(lo+hi)/2; if(z*Math.tan(z)>bi)hi=z; else lo=z;} s+=4*Math.sin(lo)/(2*lo+Math.sin(2*lo))*Math.exp(-lo*lo*fo);} return s;}
for (const sides of [[.014,.014,.014],[.008,.022,.03],[.002,.03,.05],[.0125,.013,.04],[.015,.015,.03],[.0045,.015,.015],[0.01,0.012,0.05]]) {
  const k=.48,rho=1060,cp=3500,h=900, al=k/rho/cp;
  let worst=0;
  for (const t of [20,60,120,240,360,480,720]) {
    const th = sides.map(a=>slab(h*a/k, al*t/a/a)).reduce((x,y)=>x*y,1);
    const ex = 98-(98-5)*th;
    const r = heatPiece({shape:'brick',halfSizeM:sides[0]!,otherHalfSizesM:[sides[1]!,sides[2]!],k,rho,cp,h,startC:5,bathC:98,durationS:t});
    worst=Math.max(worst,Math.abs(r.centreC-ex)); process.stdout.write(`${t}s ${ex.toFixed(1)}/${r.centreC.toFixed(1)}  `);
  }
  console.log(sides, 'worst', worst.toFixed(2));
}
