@props(['title'])
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="csrf-token" content="{{ csrf_token() }}">
<meta name="color-scheme" content="light dark">
<title>{{ $title }} · Ilvane</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite(['resources/css/app.css', 'resources/js/app.js'])
