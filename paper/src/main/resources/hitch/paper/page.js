// The film, the line and the chapters of this page belong together: what is pressed in one is shown in the others.
(function () {
  'use strict';
  const film = document.getElementById('film');
  const buttons = Array.from(document.querySelectorAll('button[data-at]'));
  const steps = Array.from(document.querySelectorAll('#chapters button'));

  // Captions are put in here: a page that is opened from a folder may not load them from a file beside it.
  const captions = film.addTextTrack('captions', 'English', 'en');
  JSON.parse(document.getElementById('captions').textContent).forEach(function (c) {
    captions.addCue(new VTTCue(c.start, c.end, c.text));
  });
  captions.mode = 'showing';

  film.addEventListener('error', function () {
    document.getElementById('missing').hidden = false;
  });

  function findings(element) {
    return element && element.dataset.finding ? element.dataset.finding.split(' ') : [];
  }

  function show(id) {
    document.querySelectorAll('article.shown').forEach(function (a) { a.classList.remove('shown'); });
    const article = id ? document.getElementById(id) : null;
    if (article) {
      article.classList.add('shown');
      article.scrollIntoView({ block: 'nearest', behavior: matchMedia('(prefers-reduced-motion: reduce)').matches ? 'auto' : 'smooth' });
    }
  }

  buttons.forEach(function (button) {
    button.addEventListener('click', function () {
      // A little later than the edge, so that the picture is of this shot and not of the one before.
      film.currentTime = Number(button.dataset.at) + 0.05;
      const playing = film.play();
      if (playing) { playing.catch(function () {}); }
      if (findings(button).length > 0) { show(findings(button)[0]); }
      mark();
    });
  });

  function mark() {
    let now = null;
    steps.forEach(function (s) { if (Number(s.dataset.at) <= film.currentTime + 0.01) { now = s; } });
    const told = findings(now);
    steps.forEach(function (s) { current(s, s === now); });
    document.querySelectorAll('.knot').forEach(function (k) { current(k, told.includes(k.dataset.finding)); });
    if (now) {
      const list = document.getElementById('chapters');
      const top = now.offsetTop - list.offsetTop;
      if (top < list.scrollTop || top > list.scrollTop + list.clientHeight - now.offsetHeight) { list.scrollTop = top - 40; }
    }
  }

  function current(element, is) {
    if (is) { element.setAttribute('aria-current', 'true'); } else { element.removeAttribute('aria-current'); }
  }

  film.addEventListener('timeupdate', mark);

  document.querySelectorAll('.pair').forEach(function (pair) {
    const slide = pair.querySelector('input');
    const after = pair.querySelector('.after');
    slide.addEventListener('input', function () {
      after.style.clipPath = 'inset(0 0 0 ' + (100 - Number(slide.value)) + '%)';
    });
  });
})();
