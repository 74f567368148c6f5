<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Trust this salon · Keen Thistle</title>
<style>
body { font: 18px/1.5 sans-serif; background: #f5efe3; color: #241c26; max-width: 38rem; margin: 0 auto; padding: 1.5rem; }
a.main { display: inline-block; padding: .8rem 1.4rem; background: #74296a; color: #fff; border-radius: .4rem; font-weight: bold; text-decoration: none; }
code { overflow-wrap: anywhere; }
li { margin: .5rem 0; }
</style>
</head>
<body>
<h1>Trust this salon</h1>
<p>Keen Thistle runs on a computer of this salon. So that this device talks to that computer alone, it is told once
what the salon's own seal looks like. Do this on the salon's network, with the manager beside you.</p>
<ol>
<li><a class="main" href="/salon-root.crt">Fetch the salon's root</a></li>
<li>Open the file. Where you are asked what it is for, choose <b>authority</b> or <b>CA certificate</b>, never
<i>user</i>. Some devices show it under Settings, Security, Install a certificate; others under Settings, General, as
a profile: install it there, then switch it on under Certificate trust.</li>
<li>Compare the print that the device shows with this one; the manager sees the same under <i>Care of the house</i>:<br>
<code>@PRINT@</code></li>
<li>Open <a href="@LAN_ADDRESS@">@LAN_ADDRESS@</a> and sign in. The address line shows a lock and no warning. Then
<i>Add to home screen</i>.</li>
</ol>
<p>If a warning stays, do not go past it: ask the manager. To trust it no more, remove the root where you put it.</p>
</body>
</html>
