<template>
  <!-- A bench by lamplight, drawn by us; the tapers sway a little. -->
  <svg viewBox="0 0 1280 720" role="img" aria-label="The candle-maker's bench">
    <defs>
      <radialGradient id="lamp" cx="0.62" cy="0.5" r="0.75">
        <stop offset="0" stop-color="#8a5a2c" />
        <stop offset="0.45" stop-color="#4f3624" />
        <stop offset="1" stop-color="#241b19" />
      </radialGradient>
      <linearGradient id="wood" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" stop-color="#7a5638" />
        <stop offset="1" stop-color="#3d2a1d" />
      </linearGradient>
      <linearGradient id="wax" x1="0" y1="0" x2="1" y2="0">
        <stop offset="0" stop-color="#fff1cf" />
        <stop offset="0.6" stop-color="#f2d79b" />
        <stop offset="1" stop-color="#c79f5c" />
      </linearGradient>
    </defs>
    <rect width="1280" height="720" fill="url(#lamp)" />
    <g fill="#2e221c" opacity="0.75">
      <rect x="70" y="130" width="300" height="12" />
      <rect x="96" y="72" width="44" height="58" rx="6" />
      <rect x="152" y="88" width="34" height="42" rx="6" />
      <rect x="204" y="62" width="52" height="68" rx="8" />
      <rect x="276" y="94" width="60" height="36" rx="6" />
    </g>
    <rect x="470" y="96" width="470" height="16" rx="8" fill="#8d6440" />
    <g class="rack">
      <g v-for="(length, at) in [196, 224, 206, 236, 214, 228]" :key="at">
        <rect :x="504 + at * 74" y="108" width="3" height="30" fill="#3d2a1d" />
        <rect :x="494 + at * 74" y="134" width="23" :height="length" rx="9" fill="url(#wax)" />
      </g>
    </g>
    <rect y="500" width="1280" height="220" fill="url(#wood)" />
    <path d="M0 560h1280M0 634h1280" stroke="#2e1f15" stroke-width="2" opacity="0.5" />
    <g>
      <ellipse cx="980" cy="508" rx="150" ry="20" fill="#1f1613" opacity="0.55" />
      <path d="M852 372h256v104c0 24-40 38-128 38s-128-14-128-38z" fill="#4b4a4c" />
      <ellipse cx="980" cy="372" rx="128" ry="27" fill="#68686a" />
      <ellipse cx="980" cy="373" rx="110" ry="20" fill="#f0d9a4" />
    </g>
    <g>
      <rect x="232" y="402" width="62" height="108" rx="8" fill="url(#wax)" />
      <path class="flame" d="M263 336c18 26 24 36 24 48a24 24 0 0 1-48 0c0-12 6-22 24-48z" fill="#f3b95a" />
    </g>
  </svg>
</template>

<style scoped>
.rack {
  transform-origin: 705px 100px;
  animation: sway 5.2s ease-in-out infinite alternate;
}

.flame {
  transform-origin: 263px 404px;
  animation: breathe 1.7s ease-in-out infinite alternate;
}

@keyframes sway {
  from {
    transform: rotate(-0.7deg);
  }

  to {
    transform: rotate(0.8deg);
  }
}

@keyframes breathe {
  from {
    transform: scale(0.95, 0.94) rotate(-1.5deg);
  }

  to {
    transform: scale(1.02, 1.06) rotate(1.5deg);
  }
}
</style>
