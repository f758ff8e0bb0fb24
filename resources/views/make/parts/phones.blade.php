<h2 class="column__title" id="phones-title">On a phone</h2>
@if (! $phones->isOpen)
    <p class="column__note">Nailrod is open to this machine only. Started with <kbd>bin/start --open</kbd>, it lets phones of the house in, each by a code.</p>
@elseif ($phones->addresses === [])
    <p class="column__note">This machine has no address that a phone can reach. Name one in NAILROD_HOSTS, and start again.</p>
@else
    @php($of = new Illuminate\Support\HtmlString('<input type="hidden" name="device" value="'.e($view->device->id).'">'))
    @if (! $phones->isDesk)
        <p class="column__note">A code that lets a phone in is shown at the desk only, and on a tablet that was given everything.</p>
    @elseif ($phones->code() !== '')
        <div class="phones__code" role="status"><b class="figure">{{ $phones->code() }}</b><svg class="phones__qr" data-qr="{{ $phones->link() }}" role="img" aria-label="The address with the code, to be read by a camera"><rect x="-4" y="-4" width="100%" height="100%" /><path d="" /></svg></div>
        <p class="column__note">@if ($phones->codeFor() !== '')For {{ $phones->codeFor() }}. @endif{{ $phones->left() }} The phone opens:</p>
        @foreach ($phones->addresses as $address)<p class="phones__address">{{ $address }}</p>@endforeach
    @endif
    @if ($phones->isDesk)<form data-does="record" method="post" action="{{ $post('panel.pair') }}">@csrf{{ $of }}<button class="button">{{ $phones->code() === '' ? 'Show a code' : 'Show a new code' }}</button></form>@endif
    @if ($phones->paired->isNotEmpty())
        <ul class="picks" aria-labelledby="phones-title">
            @foreach ($phones->paired as $phone)
                @php($its = new Illuminate\Support\HtmlString('<input type="hidden" name="phone" value="'.e($phone->id).'">'))
                @php($gets = App\Pairing\Grant::of($phone))
                <li class="phones__one"><form data-does="record" class="pick pick--not" method="post" action="{{ $post('panel.phone') }}">@csrf{{ $its }}<span>{{ $phone->name }}</span><small>{{ $phones->seen($phone) }}, gets {{ $gets->inWords() }} <button class="link" aria-label="Take {{ $phone->name }} away">Take away</button></small></form>
                    @if ($phones->isLost($phone))<form data-does="record" method="post" action="{{ $post('panel.pair') }}">@csrf{{ $of }}{{ $its }}<p class="says says--warn">It was paired by {{ $phone->host }}, which is no address of this machine any more. <button class="link">Show it the new one</button></p></form>@endif
                    @if (($asked = $phones->asked($phone)) !== null)
                        <form data-does="record" method="post" action="{{ $post('panel.give-phone') }}" role="alertdialog" aria-label="Give {{ $phone->name }} {{ $asked->inWords() }}?">@csrf{{ $its }}<input type="hidden" name="gets" value="{{ $asked->value }}"><input type="hidden" name="sure" value="1"><p class="says says--warn">{{ $asked->asked($phone->name) }} <button class="link">Yes, give it {{ $asked->inWords() }}</button></p></form>
                    @else
                        <form data-does="record" method="post" action="{{ $post('panel.give-phone') }}"
                            class="panel__row">@csrf{{ $its }}<label class="field"><span
                            class="sr-only">{{ $phone->name }} gets</span><select
                            name="gets">@foreach (App\Pairing\Grant::cases() as $one)<option value="{{ $one->value }}"
                            @selected($one === $gets)>{{ $one->inWords() }}</option>@endforeach</select></label><button
                            class="link">Give it that</button></form>
                    @endif
                </li>
            @endforeach
        </ul>
        @if ($phones->paired->count() > 1)<form data-does="record" method="post" action="{{ $post('panel.phones') }}" class="panel__row">@csrf{{ $of }}<button class="link">Take all away</button></form>@endif
    @endif
@endif
