import "./app.css";
import { mount } from "svelte";
import App from "./App.svelte";
import { restoreTheme } from "./state/theme.svelte";

restoreTheme();
// Only there where the address is secure; elsewhere the page works with the net alone.
if (import.meta.env.PROD) void navigator.serviceWorker?.register("/sw.js");
mount(App, { target: document.getElementById("app")! });
