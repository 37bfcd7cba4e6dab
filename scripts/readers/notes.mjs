// Run: npm i verovio@6.3.0 musicxml-io@0.9.6 @tonejs/midi@2.0.28; node notes.mjs SCORE.musicxml VEROVIO.tsv MUSICXML-IO.tsv
// The notes of a MusicXML file as two independent readers play them: verovio 6.3.0 and musicxml-io 0.9.6, their MIDI read by @tonejs/midi 2.0.28.
import fs from 'fs'; import {createRequire} from 'module';
const require = createRequire(import.meta.url);
const create = (await import('verovio/wasm')).default; const { VerovioToolkit } = await import('verovio/esm');
const { Midi } = require('@tonejs/midi'); const mx = require('musicxml-io');
const xml = fs.readFileSync(process.argv[2], 'utf8');
const rows = (bytes, early) => { const m = new Midi(bytes), q = m.header.ppq, out = []; let part = 0;
  for (const t of m.tracks) { if (!t.notes.length) continue; for (const n of t.notes) out.push([part, Math.round(n.ticks * 480 / q), Math.round((n.durationTicks + early) * 480 / q), n.midi].join('\t')); part++; }
  return out.sort((a, b) => { const x = a.split('\t').map(Number), y = b.split('\t').map(Number); return x[0] - y[0] || x[1] - y[1] || x[3] - y[3]; }); };
const tk = new VerovioToolkit(await create()); tk.setOptions({breaks: 'none', xmlIdSeed: 1}); tk.loadData(xml);
const a = rows(Buffer.from(tk.renderToMIDI(), 'base64'), 1), b = rows(Buffer.from(mx.exportMidi(mx.parse(xml))), 0);
fs.writeFileSync(process.argv[3], '# part, start, length (480 a quarter), pitch: as verovio 6.3.0 plays ' + process.argv[2].split('/').pop() + '\n' + a.join('\n') + '\n');
fs.writeFileSync(process.argv[4], '# part, start, length (480 a quarter), pitch: as musicxml-io 0.9.6 plays ' + process.argv[2].split('/').pop() + '\n' + b.join('\n') + '\n');
console.log(a.length, b.length, a.filter(r => !b.includes(r)).length, b.filter(r => !a.includes(r)).length);
