<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** What a stretch of a note is. */
enum Role: string
{
    case Title = 'title';
    case Yield = 'yield';
    case Heading = 'heading';
    case Ingredient = 'ingredient';
    case Part = 'part';
    case Step = 'step';
    case Utility = 'utility';
    case Claim = 'claim';
    case Audience = 'audience';
    case Use = 'use';
    case Remark = 'remark';
    case Unread = 'unread';
}
