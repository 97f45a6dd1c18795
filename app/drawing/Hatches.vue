<script setup lang="ts">
// Hatches as in an engineering drawing, one for each material; in mm of the section.
import { MATERIALS } from '~/drawing/palette'
</script>

<template>
  <defs>
    <pattern id="hatch-timber" width="44" height="11" patternUnits="userSpaceOnUse">
      <rect width="44" height="11" :fill="MATERIALS.timber.fill" />
      <path d="M0 3h26M32 3h12M6 8.5h34" stroke="#cdb684" stroke-width="1.4" fill="none" />
    </pattern>
    <pattern id="hatch-plywood" width="40" height="4" patternUnits="userSpaceOnUse">
      <rect width="40" height="4" :fill="MATERIALS.plywood.fill" />
      <path d="M0 2h40" stroke="#cdb684" stroke-width="1" fill="none" />
    </pattern>
    <pattern id="hatch-brood" width="10" height="10" patternUnits="userSpaceOnUse">
      <rect width="10" height="10" :fill="MATERIALS.brood.fill" />
      <circle cx="2.5" cy="2.5" r="1.5" fill="#8f5c2d" />
      <circle cx="7.5" cy="7.5" r="1.5" fill="#8f5c2d" />
    </pattern>
    <pattern id="hatch-honey" width="11" height="11" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="11" height="11" :fill="MATERIALS.honey.fill" />
      <path d="M0 0v11" stroke="#d29d25" stroke-width="2.6" />
    </pattern>
    <pattern id="hatch-foam" width="14" height="14" patternUnits="userSpaceOnUse">
      <rect width="14" height="14" :fill="MATERIALS.foam.fill" />
      <circle cx="4" cy="4" r="2.4" fill="none" stroke="#9db7c8" />
      <circle cx="11" cy="10" r="2.4" fill="none" stroke="#9db7c8" />
    </pattern>
    <pattern id="hatch-polystyrene" width="12" height="12" patternUnits="userSpaceOnUse">
      <rect width="12" height="12" :fill="MATERIALS.polystyrene.fill" />
      <circle cx="4" cy="4" r="1.6" fill="#c2ccd1" />
      <circle cx="10" cy="9" r="1.6" fill="#c2ccd1" />
    </pattern>
    <pattern id="hatch-chips" width="18" height="12" patternUnits="userSpaceOnUse">
      <rect width="18" height="12" :fill="MATERIALS.chips.fill" />
      <path d="M1 3l6 3M10 2l5-1M9 9l7 1M2 11l4-2" stroke="#a9853c" stroke-width="1.8" />
    </pattern>
    <pattern id="hatch-masonry" width="16" height="16" patternUnits="userSpaceOnUse">
      <rect width="16" height="16" :fill="MATERIALS.masonry.fill" />
      <path d="M0 16L16 0M-4 4L4 -4M12 20L20 12" stroke="#b3aea3" stroke-width="1.3" />
      <circle cx="5" cy="11" r="1.2" fill="#8d887d" />
    </pattern>
    <pattern id="hatch-unknown" width="14" height="14" patternUnits="userSpaceOnUse">
      <rect width="14" height="14" :fill="MATERIALS.unknown.fill" />
      <path d="M0 0L14 14M14 0L0 14" stroke="#c9c0ac" stroke-width="1" />
    </pattern>
  </defs>
</template>
