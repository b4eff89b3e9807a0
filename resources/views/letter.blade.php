@foreach ($lines as $line)
{!! $line !!}

@endforeach
{!! $link !!}
@foreach ($also as $before => $other)

{!! $before !!}
{!! $other !!}
@endforeach
