import { InboxOutlined } from '@ant-design/icons';
import { useId, useState } from 'react';
import './file-drop.css';

interface Props {
  readonly label: string;
  /** As in an input of files: extensions and types. */
  readonly accept: string;
  readonly take: (file: File) => void;
}

/** A place to drag a file onto, or to choose one by hand or keyboard. */
export function FileDrop({ label, accept, take }: Props) {
  const id = useId();
  const [over, setOver] = useState(false);
  return (
    <label
      htmlFor={id}
      className={`file-drop ${over ? 'over' : ''}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => {
        setOver(false);
      }}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        const [file] = event.dataTransfer.files;
        if (file) take(file);
      }}
    >
      <InboxOutlined />
      <span>{label}</span>
      <input
        id={id}
        type="file"
        accept={accept}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) take(file);
          // The same file may be chosen again after it was corrected.
          event.target.value = '';
        }}
      />
    </label>
  );
}
