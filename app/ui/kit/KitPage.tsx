import { Pin, Redo2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Button } from './Button.js';
import { Checkbox } from './Checkbox.js';
import { Collapsible } from './Collapsible.js';
import { Combobox } from './Combobox.js';
import { PaperDialog } from './Dialog.js';
import { FileButton, JSON_FILE } from './FileButton.js';
import { ShelfHeading } from './Heading.js';
import { IconButton } from './IconButton.js';
import { Input, TextArea } from './Input.js';
import { Kbd } from './Kbd.js';
import { Menu } from './Menu.js';
import { NumberField } from './NumberField.js';
import { OpenWord } from './Popover.js';
import { RadioGroup } from './RadioGroup.js';
import { ScrollArea } from './ScrollArea.js';
import { Select } from './Select.js';
import { Slider } from './Slider.js';
import { Switch } from './Switch.js';
import { Table } from './Table.js';
import { Tabs } from './Tabs.js';
import { ToggleGroup } from './ToggleGroup.js';
import { Tooltip } from './Tooltip.js';
import { toast } from '../toast.js';

const CHEESES = ['brie', 'gouda', 'manchego', 'stilton'].map((value) => ({ value, words: value }));
const LOOKS = ['enamel', 'quiet', 'chip', 'chip-own', 'link'] as const;

/** Every piece of the kit in its states, for who builds with it. Only in development. */
export function KitPage() {
  return (
    <main className="on-cloth grid min-h-screen grid-cols-2 gap-6 p-6 max-md:grid-cols-1">
      <Things on="on the cloth" className="on-cloth" />
      <Things on="on paper" className="on-paper bg-card p-4 shadow-paper" />
    </main>
  );
}

function Things({ on, className }: { on: string; className: string }) {
  const [text, setText] = useState('brie');
  const [n, setN] = useState(4);
  const [flag, setFlag] = useState(true);
  const [open, setOpen] = useState(false);
  return (
    <section className={className} aria-label={`The kit ${on}`}>
      <h1 className="text-xl font-black">The kit, {on}</h1>
      <Buttons on={on} />
      <Part name="Fields">
        <Input aria-label={`Name ${on}`} value={text} onChange={(event) => setText(event.target.value)} />
        <Input aria-label={`Empty ${on}`} placeholder="nothing yet" />
        <TextArea aria-label={`Note ${on}`} rows={2} defaultValue="two lines" />
        <NumberField label={`Bowls ${on}`} value={n} min={0} max={9} onChange={setN} />
      </Part>
      <Part name="Choices">
        <Select label={`Cheese ${on}`} value={text} options={CHEESES} onPick={setText} className="w-40" />
        <Combobox label={`Any cheese ${on}`} value={text} options={CHEESES} onPick={setText} />
        <RadioGroup label={`One cheese ${on}`} value={text} options={CHEESES} onPick={setText} />
        <ToggleGroup label={`Side by side ${on}`} value={text} options={CHEESES} onPick={setText} />
        <Checkbox label="a tick" on={flag} onChange={setFlag} />
        <Switch label="a switch" on={flag} onChange={setFlag} />
        <Slider label={`How much ${on}`} value={n} min={0} max={9} onChange={setN} />
      </Part>
      <Part name="Papers">
        <Button look="quiet" onClick={() => setOpen(true)}>
          A paper
        </Button>
        <OpenWord word="a word" label={`Opens ${on}`}>
          What stands under it.
        </OpenWord>
        <Tooltip words="More words">
          <Button look="link">under the pointer</Button>
        </Tooltip>
        <Kbd letter="K" />
        <PaperDialog open={open} onClose={() => setOpen(false)} title="A paper" hint="What it is about.">
          <p>What it says.</p>
        </PaperDialog>
      </Part>
      <Collapsible title="Opens and closes">What is under it.</Collapsible>
      {/* sheets and lists lie on paper */}
      {on === 'on paper' && <Sheets />}
    </section>
  );
}

function Buttons({ on }: { on: string }) {
  return (
    <Part name="Buttons">
      {LOOKS.map((look) => (
        <Button key={look} look={look}>
          {look}
        </Button>
      ))}
      <Button size="small">small</Button>
      <Button disabled>off</Button>
      <IconButton icon={Redo2} words={`Redo ${on}`} press={() => undefined} />
      <IconButton icon={Pin} words={`Pin ${on}`} press={() => undefined} off />
      <FileButton
        words={`File ${on}`}
        label={`A file ${on}`}
        accept={JSON_FILE}
        onFile={(file) => toast(file.name)}
      />
      <Menu words={`Menu ${on}`} items={[{ words: 'Say so', press: () => toast('Said.') }]} />
    </Part>
  );
}

function Sheets() {
  return (
    <>
      <Tabs
        label="Sheets"
        tabs={[
          { id: 'a', words: 'One', content: 'The first sheet.' },
          { id: 'b', words: 'Two', content: 'The second sheet.' },
        ]}
      />
      <ScrollArea label="A long list" className="max-h-24">
        <Table>
          <tbody>
            {CHEESES.map((c) => (
              <tr key={c.value}>
                <th scope="row">{c.words}</th>
                <td>{c.words.length * 10} g</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </ScrollArea>
    </>
  );
}

function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <ShelfHeading>{name}</ShelfHeading>
      <div className="flex flex-wrap items-center gap-2.5">{children}</div>
    </>
  );
}
