<script setup lang="ts">
import { ref } from 'vue'

const names = ref(['Nothing is worked out here'])
</script>

<template>
  <v-app>
    <v-main>
      <ol class="setups">
        <li v-for="name in names" :key="name">
          <span class="name">{{ name }}</span> <v-btn>Once more</v-btn>
        </li>
      </ol>
    </v-main>
  </v-app>
</template>
