/** The page on which a phone tells the code. It needs nothing else of Ruelle: a phone that isn't paired gets nothing else. */
export const pairPage = (nonce: string, fault: string | null): string => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Pair this phone · Ruelle</title>
<style>
body { font: 18px/1.5 Georgia, serif; margin: 0; background: #cfd6d1; color: #1b2426; }
main { max-width: 26em; margin: 0 auto; padding: 24px 16px; }
h1 { font-size: 26px; }
label { display: block; font-weight: 700; }
input { font: 24px/1.2 monospace; letter-spacing: 0.12em; width: 100%; box-sizing: border-box; padding: 10px; margin: 6px 0 14px; text-transform: uppercase; }
button { font: inherit; font-weight: 700; min-height: 48px; width: 100%; background: #1d2b2d; color: #fff; border: 0; }
input:focus-visible, button:focus-visible { outline: 3px solid #1f4e9e; outline-offset: 2px; }
[role="alert"] { background: #f3d6cf; padding: 10px; }
</style>
</head>
<body>
<main>
<h1>Pair this phone</h1>
${fault === null ? '' : `<p role="alert">${fault}</p>`}
<p>The code stands on the screen of the computer, under Workroom.</p>
<form method="post" action="/pair">
<label for="code">Code</label>
<input id="code" name="code" autocomplete="off" autocapitalize="characters" spellcheck="false" maxlength="20" required>
<button type="submit">Pair</button>
</form>
</main>
<script nonce="${nonce}">
// A code that was read off the picture stands behind the # of the address, which no server is told.
const fill = () => {
  const code = location.hash.slice(1);
  if (!code) return;
  document.getElementById('code').value = code;
  history.replaceState(null, '', '/pair');
};
addEventListener('hashchange', fill);
fill();
</script>
</body>
</html>
`;
