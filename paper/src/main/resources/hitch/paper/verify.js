// Holds the files of a parcel against its manifest, in the page itself.
(function () {
  'use strict';

  // SHA-256 (FIPS 180-4), fed in pieces so that a long film need not lie in memory.
  const K = new Uint32Array(64);
  const START = new Uint32Array(8);
  (function () {
    // Fractions of the cube roots, and of the square roots, of the first primes.
    function fraction(x) { return Math.floor((x - Math.floor(x)) * 4294967296) >>> 0; }
    let found = 0;
    for (let n = 2; found < 64; n++) {
      let prime = true;
      for (let d = 2; d * d <= n; d++) { if (n % d === 0) { prime = false; break; } }
      if (prime) {
        if (found < 8) { START[found] = fraction(Math.sqrt(n)); }
        K[found++] = fraction(Math.cbrt(n));
      }
    }
  })();

  function Sha256() {
    this.h = new Uint32Array(START);
    this.block = new Uint8Array(64);
    this.filled = 0;
    this.length = 0;
    this.w = new Uint32Array(64);
  }
  Sha256.prototype.add = function (bytes) {
    this.length += bytes.length;
    let at = 0;
    while (at < bytes.length) {
      const take = Math.min(64 - this.filled, bytes.length - at);
      this.block.set(bytes.subarray(at, at + take), this.filled);
      this.filled += take;
      at += take;
      if (this.filled === 64) { this.turn(); this.filled = 0; }
    }
  };
  Sha256.prototype.turn = function () {
    const w = this.w, b = this.block, h = this.h;
    for (let i = 0; i < 16; i++) { w[i] = (b[4 * i] << 24 | b[4 * i + 1] << 16 | b[4 * i + 2] << 8 | b[4 * i + 3]) >>> 0; }
    for (let i = 16; i < 64; i++) {
      const x = w[i - 15], y = w[i - 2];
      const s0 = (x >>> 7 | x << 25) ^ (x >>> 18 | x << 14) ^ x >>> 3;
      const s1 = (y >>> 17 | y << 15) ^ (y >>> 19 | y << 13) ^ y >>> 10;
      w[i] = w[i - 16] + s0 + w[i - 7] + s1 | 0;
    }
    let [a, b1, c, d, e, f, g, k] = h;
    for (let i = 0; i < 64; i++) {
      const s1 = (e >>> 6 | e << 26) ^ (e >>> 11 | e << 21) ^ (e >>> 25 | e << 7);
      const t1 = k + s1 + (e & f ^ ~e & g) + K[i] + w[i] | 0;
      const s0 = (a >>> 2 | a << 30) ^ (a >>> 13 | a << 19) ^ (a >>> 22 | a << 10);
      const t2 = s0 + (a & b1 ^ a & c ^ b1 & c) | 0;
      k = g; g = f; f = e; e = d + t1 | 0; d = c; c = b1; b1 = a; a = t1 + t2 | 0;
    }
    h[0] += a; h[1] += b1; h[2] += c; h[3] += d; h[4] += e; h[5] += f; h[6] += g; h[7] += k;
  };
  Sha256.prototype.hex = function () {
    const bits = this.length * 8;
    const end = new Uint8Array((this.filled < 56 ? 64 : 128) - this.filled);
    end[0] = 0x80;
    const view = new DataView(end.buffer);
    view.setUint32(end.length - 8, Math.floor(bits / 4294967296));
    view.setUint32(end.length - 4, bits >>> 0);
    this.add(end);
    return Array.from(this.h).map(function (x) { return x.toString(16).padStart(8, '0'); }).join('');
  };

  async function hash(file, tell) {
    const sha = new Sha256();
    const piece = 4 << 20;
    for (let at = 0; at < file.size; at += piece) {
      sha.add(new Uint8Array(await file.slice(at, at + piece).arrayBuffer()));
      tell(Math.min(piece, file.size - at));
    }
    return sha.hex();
  }

  function bytes(base64) { return Uint8Array.from(atob(base64), function (c) { return c.charCodeAt(0); }); }

  async function signed(manifest, signature) {
    if (!signature) { return { state: 'none' }; }
    let told;
    try {
      told = JSON.parse(await signature.text());
      const sha = new Sha256();
      sha.add(bytes(told.public_key));
      const key = sha.hex();
      if (!(window.crypto && crypto.subtle)) { return { state: 'unable', key: key }; }
      let open;
      try {
        open = await crypto.subtle.importKey('spki', bytes(told.public_key), { name: 'Ed25519' }, false, ['verify']);
      } catch (e) {
        return { state: e.name === 'NotSupportedError' ? 'unable' : 'broken', key: key };
      }
      const holds = await crypto.subtle.verify({ name: 'Ed25519' }, open, bytes(told.signature), await manifest.arrayBuffer());
      return { state: holds ? 'good' : 'broken', key: key };
    } catch (e) {
      return { state: 'broken' };
    }
  }

  const outcome = document.getElementById('outcome');
  const about = document.getElementById('about');
  const rows = document.getElementById('rows');
  const progress = document.getElementById('progress');

  function line(words, kind) {
    const p = document.createElement('p');
    p.textContent = words;
    if (kind) { p.className = kind; }
    about.append(p);
    return p;
  }

  function table(found) {
    const table = document.createElement('table');
    const head = table.insertRow();
    ['What was found', 'File'].forEach(function (t) { const th = document.createElement('th'); th.textContent = t; head.append(th); });
    found.forEach(function (f) {
      const row = table.insertRow();
      const state = row.insertCell();
      state.textContent = f.state;
      if (f.state !== 'unchanged') { state.className = 'bad'; }
      const name = row.insertCell();
      name.textContent = f.name;
      name.className = 'm';
    });
    rows.append(table);
  }

  /** Holds files, each with its name within what was dropped, against the manifest among them. */
  async function check(files) {
    about.replaceChildren();
    rows.replaceChildren();
    outcome.textContent = '';
    const lists = files.filter(function (f) { return /(^|\/)manifest\.json$/.test(f.name); })
      .sort(function (a, b) { return a.name.length - b.name.length; });
    if (lists.length === 0) {
      outcome.textContent = 'There is no manifest.json among these files. Drop the whole folder, as it was handed over.';
      return;
    }
    const root = lists[0].name.slice(0, -'manifest.json'.length);
    const here = new Map();
    files.forEach(function (f) { if (f.name.startsWith(root)) { here.set(f.name.slice(root.length), f.file); } });
    let manifest;
    try {
      manifest = JSON.parse(await lists[0].file.text());
      if (!Array.isArray(manifest.products) || manifest.products.length === 0) { throw new Error('no list'); }
    } catch (e) {
      outcome.textContent = 'The manifest.json cannot be read, so nothing can be held against it.';
      return;
    }
    progress.hidden = false;
    let done = 0;
    const all = manifest.products.reduce(function (sum, p) { return sum + (here.has(p.file) ? here.get(p.file).size : 0); }, 1);
    const found = [];
    for (const product of manifest.products) {
      const file = here.get(product.file);
      let state = 'missing';
      if (file) {
        try {
          const sha = await hash(file, function (n) { done += n; progress.value = done / all; });
          state = sha === product.sha256 ? 'unchanged' : 'changed';
        } catch (e) {
          state = 'cannot be read';
        }
      }
      found.push({ name: product.file, state: state });
    }
    const known = new Set(manifest.products.map(function (p) { return p.file; }).concat(['manifest.json', 'signature.json']));
    Array.from(here.keys()).filter(function (n) { return !known.has(n); }).sort()
      .forEach(function (n) { found.push({ name: n, state: 'added' }); });
    progress.hidden = true;
    const signature = await signed(lists[0].file, here.get('signature.json'));
    const odd = found.filter(function (f) { return f.state !== 'unchanged'; });
    if (odd.length > 0) {
      outcome.textContent = 'This is not as it was handed over: ' + odd.length + (odd.length === 1 ? ' file differs.' : ' files differ.');
    } else if (signature.state === 'broken') {
      outcome.textContent = 'The files agree with the list, but the list is not as it was signed.';
    } else {
      outcome.textContent = 'All ' + found.length + ' files are as they were handed over.';
    }
    line((manifest.property || '') + (manifest.firm ? ', made by ' + manifest.firm : '') + (manifest.made_at ? ' on ' + manifest.made_at.slice(0, 10) : '') + '.');
    if (signature.state === 'good') { line('The list is signed, and the signature holds.'); }
    if (signature.state === 'broken') { line('The signature does not hold: the list, or the signature, was changed.'); }
    if (signature.state === 'unable') { line('The list is signed. This browser cannot check the signature; a newer one can.'); }
    if (signature.state === 'none') { line('The list is not signed, so it is not proven who made it.'); }
    if (signature.key) {
      line('Compare this with the key printed at the end of the report:', 'soft');
      line(signature.key.replace(/(.{4})(?=.)/g, '$1 '), 'm').id = 'key';
    }
    table(odd.concat(found.filter(function (f) { return f.state === 'unchanged'; })));
  }

  async function walk(entry, path, files) {
    if (entry.isFile) {
      const file = await new Promise(function (yes, no) { entry.file(yes, no); });
      files.push({ name: path + entry.name, file: file });
    } else if (entry.isDirectory) {
      const reader = entry.createReader();
      for (;;) {
        const some = await new Promise(function (yes, no) { reader.readEntries(yes, no); });
        if (some.length === 0) { break; }
        for (const each of some) { await walk(each, path + entry.name + '/', files); }
      }
    }
  }

  document.getElementById('pick').addEventListener('change', function (event) {
    check(Array.from(event.target.files).map(function (f) { return { name: f.webkitRelativePath || f.name, file: f }; }));
  });
  const drop = document.getElementById('drop');
  ['dragover', 'dragleave', 'drop'].forEach(function (kind) {
    document.addEventListener(kind, function (event) {
      event.preventDefault();
      drop.classList.toggle('over', kind === 'dragover');
    });
  });
  document.addEventListener('drop', async function (event) {
    const files = [];
    const entries = Array.from(event.dataTransfer.items || []).map(function (i) { return i.webkitGetAsEntry && i.webkitGetAsEntry(); }).filter(Boolean);
    if (entries.length > 0) {
      for (const entry of entries) { await walk(entry, '', files); }
    } else {
      Array.from(event.dataTransfer.files).forEach(function (f) { files.push({ name: f.name, file: f }); });
    }
    check(files);
  });
})();
