import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { Modal } from './modal.tsx';

afterEach(cleanup);

function Page({ field, gone = false }: { readonly field: boolean; readonly gone?: boolean }) {
  const [open, setOpen] = useState(false);
  return (
    <main>
      {!(gone && open) && (
        <button type="button" onClick={() => setOpen(true)}>
          Ask
        </button>
      )}
      {open && (
        <Modal title="A question" onClose={() => setOpen(false)}>
          {field ? <input aria-label="How much" /> : <p>Nothing to type</p>}
        </Modal>
      )}
    </main>
  );
}

const ask = () => {
  const button = screen.getByRole('button', { name: 'Ask' });
  button.focus();
  fireEvent.click(button);
};

describe('a dialog', () => {
  it('opens on its first field, and gives the focus back to what opened it', async () => {
    render(<Page field />);
    ask();
    await waitFor(() => expect(document.activeElement).toBe(screen.getByLabelText('How much')));
    fireEvent.keyDown(screen.getByLabelText('How much'), { key: 'Escape' });
    await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Ask' })));
  });
  it('opens on its heading where there is nothing to type', async () => {
    render(<Page field={false} />);
    ask();
    await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('heading', { name: 'A question' })));
  });
  it('gives the focus to the page where what opened it is gone', async () => {
    render(<Page field gone />);
    ask();
    await waitFor(() => expect(document.activeElement).toBe(screen.getByLabelText('How much')));
    fireEvent.keyDown(screen.getByLabelText('How much'), { key: 'Escape' });
    await waitFor(() => expect(document.activeElement?.tagName).not.toBe('BODY'));
  });
});
