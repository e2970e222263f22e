import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath:'/usr/bin/chromium', args:['--no-sandbox','--disable-gpu','--disable-quic'] });
const p = await b.newPage({ viewport:{width:1280,height:800} });
const base='http://127.0.0.1:8437';
await p.goto(base+'/sign-in'); await p.getByRole('button', { name: /Ines/ }).click();
await p.waitForLoadState();
for (const [path,name] of [['/','bay'],['/jobs/10/record','record10'],['/jobs/2/strip','strip2'],['/jobs/8/set','set8'],['/jobs/5/intake','intake5'],['/jobs/3/kit','kit3']]) { const r=await p.goto(base+path); console.log(path, r.status()); await p.screenshot({path:`/tmp/s_${name}.png`}); }
await p.goto(base+'/jobs/2/strip'); const f=p.locator('details.finding').first(); await f.locator('summary').click(); await p.waitForTimeout(900); await f.scrollIntoViewIfNeeded(); console.log((await f.innerText()).slice(0,400)); await p.screenshot({path:'/tmp/s_find.png'});
await b.close();
