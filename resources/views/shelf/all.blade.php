@inject('wording', 'App\Ground\Wording')
<x-page :title="__('shelf.title')" body="on-shelf">
    <div class="shelf-head">
        <h1>{{ __('shelf.title') }}</h1>
        <p class="shelf-links"><a href="{{ route('labels') }}">{{ __('labels.sheet') }}</a></p>
    </div>
    @if ($things === [] && $gone->isEmpty())
        <section class="first">
            <x-vessel :section="\App\Drawing\Section::draw(\App\Drawing\Profile::of('bottle', 250), [], 0, 240)"
                class="first-vessel" />
            <div>
                <p>{{ __('shelf.empty') }}</p>
                <p><a class="button" href="{{ route('formulas') }}">{{ __('shelf.to_formulas') }}</a></p>
            </div>
        </section>
    @endif
    @if ($things !== [])
        <section class="shelf-row">@include('today.things')</section>{{ $page->links('today.pages') }}
    @endif
    @if ($gone->isNotEmpty())
        <section>
            <h2>{{ __('shelf.gone') }}</h2>
            <table class="plain done-list">
                <tbody>
                    @foreach ($gone as $batch)
                        <tr>
                            <th><a
                                    href="{{ route('batch', $batch) }}">{{ $batch->document['name']
                                    ?? $batch->code }}</a>
                            </th>
                            <td>{{ $batch->code }}</td>
                            <td>{{ $batch->gone_at === null ? '' : $wording->ago($batch->gone_at) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
</x-page>
