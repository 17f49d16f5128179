// Runs when the product has come and before the page is brought to life: a press from here on is answered by itself.
window.early?.answered();

export {};
