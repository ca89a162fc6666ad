import { z } from 'zod';

// the content policy forbids code made from text
z.config({ jitless: true });
