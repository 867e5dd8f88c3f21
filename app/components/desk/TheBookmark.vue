<script setup lang="ts">
import { bookmarkOf } from '~/bookmark/collect'

/** The bookmark that takes a page which is being read: dragged among a browser's own, or copied. */
const bookmark = bookmarkOf(useRequestURL().origin)
const notices = useNotices()
const pressed = () => notices.say('It works from among your browser’s bookmarks: drag it there, then press it on a page that you read.')
const copy = () => notices.attempt(async () => {
  await navigator.clipboard.writeText(bookmark)
  notices.say('Its address is copied: make a new bookmark in your browser, and paste it as the address.')
})
</script>

<template>
  <section aria-labelledby="bookmark-heading">
    <h2
      id="bookmark-heading"
      class="text-plain font-semibold"
    >
      Pages you read on the web
    </h2>
    <p class="mt-1 max-w-xl text-plain text-soft">
      Drag <a
        class="act font-semibold"
        draggable="true"
        :href="bookmark"
        @click.prevent="pressed"
      >Take this page</a> among your browser’s bookmarks. Pressed on a page, it shows the page’s reference in a small window before anything is taken, and keeps with it what you marked.
    </p>
    <PartsButton
      kind="quiet"
      class="mt-1 text-plain"
      @click="copy"
    >
      Copy it instead of dragging
    </PartsButton>
  </section>
</template>
