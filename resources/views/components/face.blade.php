@props(['device', 'page' => 1])
{{ App\View\Face::drawn($device, $page) }}
