import { smoothed } from '../core/picture/gaussian';
import { edgeBlurPx } from '../core/picture/sharpness';
const W=640,H=480; const d=new Float32Array(W*H).map(()=>Math.random()*200); const p={widthPx:W,heightPx:H,data:d};
for(let k=0;k<5;k++){let t=performance.now();smoothed(p,1);const a=performance.now()-t;t=performance.now();smoothed(p,2);const b=performance.now()-t;t=performance.now();edgeBlurPx(p);console.log(a.toFixed(1),b.toFixed(1),(performance.now()-t).toFixed(1));}
