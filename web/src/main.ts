import "./app.css";
import { mount } from "svelte";
import App from "./App.svelte";
import { restoreTheme } from "./state/theme.svelte";

restoreTheme();
mount(App, { target: document.getElementById("app")! });
