<h2 class="column__title" id="phones-title">On a phone</h2>
@if (! $phones->isOpen)
    <p class="column__note">Nailrod is open to this machine only. Started with <kbd>bin/start --open</kbd>, it lets phones of the house in, each by a code.</p>
@elseif ($phones->addresses === [])
    <p class="column__note">This machine has no address that a phone can reach. Name one in NAILROD_HOSTS, and start again.</p>
@else
    @php($of = new Illuminate\Support\HtmlString('<input type="hidden" name="device" value="'.e($view->device->id).'">'))
    @if ($phones->code() !== '')
        <div class="phones__code" role="status"><b class="figure">{{ $phones->code() }}</b><svg class="phones__qr" data-qr="{{ $phones->link() }}" role="img" aria-label="The address with the code, to be read by a camera"><rect x="-4" y="-4" width="100%" height="100%" /><path d="" /></svg></div>
        <p class="column__note">{{ $phones->left() }} The phone opens:</p>
        @foreach ($phones->addresses as $address)<p class="phones__address">{{ $address }}</p>@endforeach
    @endif
    <form method="post" action="{{ $post('panel.pair') }}">@csrf{{ $of }}<button class="button">{{ $phones->code() === '' ? 'Show a code' : 'Show a new code' }}</button></form>
    @if ($phones->paired->isNotEmpty())
        <ul class="picks" aria-labelledby="phones-title">
            @foreach ($phones->paired as $phone)
                <li><form class="pick pick--not" method="post" action="{{ $post('panel.phone') }}">@csrf<input type="hidden" name="phone" value="{{ $phone->id }}"><span>{{ $phone->name }}</span><small>{{ $phones->seen($phone) }} <button class="link" aria-label="Take {{ $phone->name }} away">Take away</button></small></form></li>
            @endforeach
        </ul>
        @if ($phones->paired->count() > 1)<form method="post" action="{{ $post('panel.phones') }}" class="panel__row">@csrf{{ $of }}<button class="link">Take all away</button></form>@endif
    @endif
@endif
