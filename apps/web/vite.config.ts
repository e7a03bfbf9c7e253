import { fileURLToPath } from "node:url";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";
import { firstOnes } from "./first-ones.ts";

/** The router as it ships: its package hands bundlers the build meant for development. */
const ROUTER = fileURLToPath(new URL("../../node_modules/react-router/dist/production/index.mjs", import.meta.url));

export default defineConfig(({ command }) => ({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      registerType: "prompt",
      injectRegister: false,
      workbox: {
        // The reader of plates is loaded, and kept, when it is first asked for.
        globIgnores: ["reader/**"],
        runtimeCaching: [
          {
            urlPattern: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith("/reader/"),
            handler: "CacheFirst",
            options: { cacheName: "plate-reader", matchOptions: { ignoreVary: true } },
          },
        ],
        globPatterns: ["**/*.{js,css,html,woff2,ttf,svg,png,webmanifest}"],
        maximumFileSizeToCacheInBytes: 3_000_000,
        navigateFallback: "index.html",
        cleanupOutdatedCaches: true,
      },
      manifest: {
        name: "Amp Saver",
        short_name: "Amp Saver",
        description: "Will this air conditioner start, and keep running, on this source?",
        display: "standalone",
        background_color: "#ffffff",
        theme_color: "#ffffff",
        start_url: "/",
        icons: [
          { src: "icon-192.png", sizes: "192x192", type: "image/png" },
          { src: "icon-512.png", sizes: "512x512", type: "image/png" },
          { src: "icon-mask-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
        ],
      },
    }),
  ],
  resolve: { alias: command === "build" ? [{ find: /^react-router$/, replacement: ROUTER }] : [] },
  worker: { format: "es" },
  build: {
    target: "es2022",
    sourcemap: false,
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      output: {
        assetFileNames: ({ originalFileNames: [file = ""] }) => {
          // The reader asks for its language by that name in a folder.
          if (file.includes("traineddata")) return "reader/best-int-4.0.0/[name][extname]";
          return `${file.includes("tesseract") ? "reader" : "assets"}/[name]-[hash][extname]`;
        },
        codeSplitting: {
          groups: [
            { debugName: "first", name: firstOnes(fileURLToPath(new URL("src/main.tsx", import.meta.url))), priority: 2 },
            { name: "shared", minShareCount: 4, priority: 1 },
          ],
        },
      },
    },
  },
}));
