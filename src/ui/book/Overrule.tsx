import { Modal } from 'antd'

interface OverruleProps {
  dog: string
  sentences: readonly string[]
  put: () => void
  leave: () => void
}

/** What speaks against a time, and whether a person wants it all the same. */
export const Overrule = ({ dog, sentences, put, leave }: OverruleProps) => (
  <Modal
    open
    title={`Put ${dog} there?`}
    onCancel={leave}
    onOk={put}
    okText="Put it there anyway"
    cancelText="Leave it where it was"
  >
    {sentences.map((sentence) => (
      <p key={sentence} className="kv-caution">
        {sentence}
      </p>
    ))}
  </Modal>
)
